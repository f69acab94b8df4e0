/** The window: pictures of one design, and the controls that send edits to it. */
package org.hyphantes.desktop;
