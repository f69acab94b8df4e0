/** Weave: bands with their overs and unders, swapped, laid and broken by hand. */
package org.hyphantes.desktop.stage.weave;
