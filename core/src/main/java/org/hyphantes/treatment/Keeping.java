package org.hyphantes.treatment;

/** Whether what a treatment was given stays beside what it makes of it. */
public enum Keeping {
    KEEPING,
    LEAVING_OUT
}
