/** What lines, bands and finished weaves enclose: pieces by structure, their rings and neighbours, and what is done with them. */
package org.hyphantes.piece;
