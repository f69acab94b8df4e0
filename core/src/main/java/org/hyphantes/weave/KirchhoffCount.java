package org.hyphantes.weave;

import java.math.BigInteger;
import org.hyphantes.geometry.Watch;

/**
 * The number of spanning trees of a graph, exactly: Kirchhoff's theorem (G. Kirchhoff 1847) makes it the determinant of the
 * graph's Laplacian less one row and column, worked out here modulo primes and put together by the Chinese remainder theorem.
 */
final class KirchhoffCount {
    private KirchhoffCount() {}

    /** @param laplacian the whole Laplacian, n by n; a graph of one vertex has one tree, of none likewise */
    static BigInteger spanningTrees(long[][] laplacian) {
        int n = laplacian.length - 1;
        if (n <= 0) {
            return BigInteger.ONE;
        }
        // Hadamard's bound for a positive semidefinite matrix: the determinant is at most the product of the diagonal.
        double bits = 1;
        for (int i = 0; i < n; i++) {
            bits += Math.log(Math.max(1, laplacian[i][i])) / Math.log(2);
        }
        BigInteger value = BigInteger.ZERO;
        BigInteger modulus = BigInteger.ONE;
        BigInteger prime = BigInteger.valueOf(1L << 30);
        while (modulus.bitLength() <= bits + 1) {
            prime = prime.nextProbablePrime();
            long rest = determinant(laplacian, n, prime.longValue());
            BigInteger step = BigInteger.valueOf(rest)
                    .subtract(value)
                    .multiply(modulus.modInverse(prime))
                    .mod(prime);
            value = value.add(modulus.multiply(step));
            modulus = modulus.multiply(prime);
        }
        return value;
    }

    private static long determinant(long[][] laplacian, int n, long prime) {
        long[][] a = new long[n][n];
        for (int i = 0; i < n; i++) {
            Watch.ask();
            for (int j = 0; j < n; j++) {
                a[i][j] = Math.floorMod(laplacian[i][j], prime);
            }
        }
        long result = 1;
        for (int k = 0; k < n; k++) {
            Watch.ask();
            int pivot = k;
            while (pivot < n && a[pivot][k] == 0) {
                pivot++;
            }
            if (pivot == n) {
                return 0;
            }
            if (pivot != k) {
                long[] row = a[pivot];
                a[pivot] = a[k];
                a[k] = row;
                result = (prime - result) % prime;
            }
            result = result * a[k][k] % prime;
            long inverse = BigInteger.valueOf(a[k][k])
                    .modInverse(BigInteger.valueOf(prime))
                    .longValue();
            for (int i = k + 1; i < n; i++) {
                Watch.ask();
                if (a[i][k] != 0) {
                    long factor = a[i][k] * inverse % prime;
                    for (int j = k; j < n; j++) {
                        a[i][j] = Math.floorMod(a[i][j] - factor * a[k][j] % prime, prime);
                    }
                }
            }
        }
        return result;
    }
}
