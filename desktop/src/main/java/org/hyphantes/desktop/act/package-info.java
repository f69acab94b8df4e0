/** What is done to a design by hand, key or word: each act an edit of the design on the desk, with the words that say what it came to. */
package org.hyphantes.desktop.act;
