/** Leaves that are laid over the field and taken off again: help for what the keyboard is at, all keys, and settings. */
package org.hyphantes.desktop.leaf;
