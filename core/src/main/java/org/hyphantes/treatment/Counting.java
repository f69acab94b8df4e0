package org.hyphantes.treatment;

/** Whether figures along a line are told by how many they are, or by how far apart. */
public enum Counting {
    BY_NUMBER,
    BY_DISTANCE
}
