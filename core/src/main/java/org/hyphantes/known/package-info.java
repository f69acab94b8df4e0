/** The places that a design knows of itself: centres, corners, crossings and the like, each with what causes it. */
package org.hyphantes.known;
