/** Work off the interface thread, and drawing spread over the pulses, so that the keys never wait. */
package org.hyphantes.desktop.background;
