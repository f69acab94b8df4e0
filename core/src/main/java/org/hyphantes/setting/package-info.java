/**
 * Numbers, words and choices a designer can set, each described once: the sentence on the screen, the project file and the
 * command line all read the same {@link org.hyphantes.setting.Schema}.
 */
package org.hyphantes.setting;
