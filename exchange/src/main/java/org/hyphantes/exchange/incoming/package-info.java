/** Files that others made, brought in as live figures: each kind says its endings, and reads bytes into an arrival. */
package org.hyphantes.exchange.incoming;
