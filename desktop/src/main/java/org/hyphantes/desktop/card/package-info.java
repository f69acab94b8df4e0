/** The cards in the wings. */
package org.hyphantes.desktop.card;
