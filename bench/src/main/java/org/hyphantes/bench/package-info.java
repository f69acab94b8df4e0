/** Benchmarks: resolving beside a general geometry library, and frame times of the window. Not part of the product. */
package org.hyphantes.bench;
