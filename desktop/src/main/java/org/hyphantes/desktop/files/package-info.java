/** Opening, saving and writing: choosing files, and what is remembered from one start to the next. */
package org.hyphantes.desktop.files;
