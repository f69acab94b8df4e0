/** The project file: a design as documented JSON with a version number. */
package org.hyphantes.exchange.project;
