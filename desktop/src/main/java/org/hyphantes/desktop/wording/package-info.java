/** The sentence about what is chosen, its slots, and what can be done next. */
package org.hyphantes.desktop.wording;
