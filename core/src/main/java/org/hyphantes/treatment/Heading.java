package org.hyphantes.treatment;

/** Whether steps laid along a line keep their heading, or turn with the line: what faces the top then faces along it. */
public enum Heading {
    AS_DRAWN,
    ALONG_IT
}
