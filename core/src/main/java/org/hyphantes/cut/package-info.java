/**
 * What a machine is to cut, score, draw and engrave of a drawing: the contours of a scene on the bed, pass by pass and in the order in which
 * they are cut, and what is amiss with them.
 */
package org.hyphantes.cut;
