package dorada.core.sweep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** In one pass the same as by walking outward from each point. */
class SurroundingsTest {

    private static Surroundings walked(double[] depth, int from, int to) {
        double here = depth[from];
        double left = here;
        int i = from - 1;
        while (i >= 0 && depth[i] <= here) {
            left = Math.min(left, depth[i--]);
        }
        double right = here;
        int j = to + 1;
        while (j < depth.length && depth[j] <= here) {
            right = Math.min(right, depth[j++]);
        }
        return new Surroundings(here - left, here - right, i < 0, j == depth.length);
    }

    @Test
    void everyCurveHasTheSurroundingsThatAWalkFinds() {
        Random random = new Random(5);
        for (int n = 1; n < 60; n++) {
            for (int kind = 0; kind < 4; kind++) {
                double[] depth = new double[n];
                for (int i = 0; i < n; i++) {
                    depth[i] = switch (kind) {
                        case 0 -> random.nextDouble();
                        case 1 -> random.nextInt(3);
                        case 2 -> i;
                        default -> n - i;
                    };
                }
                Surroundings.Map map = Surroundings.of(depth);
                for (int i = 0; i < n; i++) {
                    int to = i;
                    while (to + 1 < n && depth[to + 1] == depth[i]) {
                        to++;
                    }
                    if (i == 0 || depth[i - 1] != depth[i]) {
                        assertThat(map.about(i, to)).isEqualTo(walked(depth, i, to));
                    }
                }
            }
        }
    }
}
