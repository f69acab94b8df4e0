/** The recipe strip: contents, the cord with its stations and shuttle, and the result. */
package org.hyphantes.desktop.strip;
