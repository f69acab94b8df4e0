package org.hyphantes.bench;

import com.sun.management.OperatingSystemMXBean;
import java.lang.management.ManagementFactory;
import java.util.Collection;
import java.util.List;
import org.openjdk.jmh.infra.BenchmarkParams;
import org.openjdk.jmh.infra.IterationParams;
import org.openjdk.jmh.profile.InternalProfiler;
import org.openjdk.jmh.results.AggregationPolicy;
import org.openjdk.jmh.results.IterationResult;
import org.openjdk.jmh.results.ScalarResult;

/** Processor time of the whole process, its garbage collector too, in milliseconds for each operation. */
public final class ProcessorTime implements InternalProfiler {
    static final String LABEL = "processor";

    private final OperatingSystemMXBean process = (OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
    private long before;

    /** The processor time (ns) of this process so far. */
    static long now() {
        return ((OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean()).getProcessCpuTime();
    }

    @Override
    public String getDescription() {
        return "processor time of the process";
    }

    @Override
    public void beforeIteration(BenchmarkParams benchmark, IterationParams iteration) {
        before = process.getProcessCpuTime();
    }

    @Override
    public Collection<ScalarResult> afterIteration(
            BenchmarkParams benchmark, IterationParams iteration, IterationResult result) {
        double spent = (process.getProcessCpuTime() - before) / 1e6;
        long operations = Math.max(1, result.getMetadata().getAllOps());
        return List.of(new ScalarResult(LABEL, spent / operations, "ms/op", AggregationPolicy.AVG));
    }
}
