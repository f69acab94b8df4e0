package org.hyphantes.desktop;

import org.hyphantes.desktop.files.Documents;
import org.hyphantes.desktop.rail.Snags;

/** What menus act on besides the desk: files, snags, the window, and the leaves that are laid over the field. */
record MenuTargets(
        Documents documents,
        Snags snags,
        Runnable quit,
        Runnable fullScreen,
        Runnable help,
        Runnable keys,
        Runnable settings) {}
