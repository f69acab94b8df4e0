/** Set out: figures laid with dividers from known point to known point, selected, moved and reshaped. */
package org.hyphantes.desktop.stage.setout;
