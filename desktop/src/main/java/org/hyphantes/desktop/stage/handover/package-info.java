/** Hand over: named and given its place, to be filled in a later version. */
package org.hyphantes.desktop.stage.handover;
