/** What is whole and what is not: the gauges, the snags they find, and the edits that mend them. */
package org.hyphantes.gauge;
