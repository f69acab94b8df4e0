/** Where curves and paths meet: crossing, touching, or lying on one another. */
package org.hyphantes.geometry.meet;
