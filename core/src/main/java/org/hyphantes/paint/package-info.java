/** Colours and how a shape is filled and lined. */
package org.hyphantes.paint;
