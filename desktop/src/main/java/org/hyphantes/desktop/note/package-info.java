/** What is said about a thing when it is asked for: what it is, what can be done with it, by which keys, and why. */
package org.hyphantes.desktop.note;
