/** What is done to a group's work, step by step: each treatment is a record that describes itself and works on {@link Work}. */
package org.hyphantes.treatment;
