/** What a design comes to in figures: its strands, crossings and grounds; what reports write and cards show. */
package org.hyphantes.inventory;
