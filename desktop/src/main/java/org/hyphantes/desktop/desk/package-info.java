/** The design on the desk: its history, what is looked at, and what resolving made of it. */
package org.hyphantes.desktop.desk;
