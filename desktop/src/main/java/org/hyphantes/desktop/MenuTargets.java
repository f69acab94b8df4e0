package org.hyphantes.desktop;

import org.hyphantes.desktop.field.Field;
import org.hyphantes.desktop.files.Documents;
import org.hyphantes.desktop.rail.Snags;

/** What menus act on besides the desk. */
record MenuTargets(Documents documents, Field field, Snags snags, Runnable quit, Runnable fullScreen) {}
