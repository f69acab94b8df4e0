/** The stages: the pictures of a design, each a folder that says what the field shows, what hand and keys do there, and what stands round it. */
package org.hyphantes.desktop.stage;
