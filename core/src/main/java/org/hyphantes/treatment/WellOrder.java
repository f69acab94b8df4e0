package org.hyphantes.treatment;

/** How parts that follow on one another have the wells from the first to the last. */
public enum WellOrder {
    /** One well after another, and again from the first. */
    IN_TURN,
    /** Mixed: the first part has the first well, the last part the last, and those between pass from one to the other. */
    IN_STEPS
}
