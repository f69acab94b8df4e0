/** What is set out: figures as records of their parameters, which yield exact paths. */
package org.hyphantes.figure;
