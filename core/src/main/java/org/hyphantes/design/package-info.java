/** The document: an immutable design of groups, figures and recipes, its edits and history, and its resolution to artwork. */
package org.hyphantes.design;
