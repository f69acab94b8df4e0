/** Strands, their crossings, over and under, and the courses that are drawn and cut. */
package org.hyphantes.weave;
