package org.hyphantes.setting;

/** How many letters must be put in, left out or changed to make one word of another (Levenshtein 1966). */
final class EditDistance {
    /** Longer words are told apart by their lengths alone: nobody mistypes one of them for another. */
    private static final int LONGEST = 40;

    private EditDistance() {}

    static int between(String a, String b) {
        if (a.length() > LONGEST || b.length() > LONGEST) {
            return Math.max(a.length(), b.length());
        }
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(change, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[b.length()];
    }
}
