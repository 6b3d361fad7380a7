package dorada.core.planning;

import dorada.core.acceptance.ChannelReading;
import dorada.core.acceptance.ChannelVerdict;
import dorada.core.acceptance.ReferencePlane;
import dorada.core.acceptance.UnderLimit;
import dorada.core.acceptance.WantedChannel;
import dorada.core.antenna.Carrier;
import dorada.core.outcome.Refusal;
import dorada.core.rf.Wavelength;
import dorada.core.sweep.Sweep;
import dorada.core.sweep.SweepAnalysis;
import java.util.List;

/**
 * What an antenna is wanted for, and on what.
 *
 * @param carrier what it is fitted to
 * @param surface at the mount
 * @param room indoors
 * @param mountHeightM of the mount, or of the floor indoors, above the ground
 * @param clearanceM highest that the tip may reach; 0 for no limit
 * @param neighbours metal that stands near
 * @param band that it must serve
 * @param aim what it must reach
 * @param stock what is at hand to make it of
 */
public record Need(
        Carrier carrier,
        Surface surface,
        Room room,
        double mountHeightM,
        double clearanceM,
        List<Neighbour> neighbours,
        Band band,
        Aim aim,
        Stock stock) {

    private static final double NEAREST_M = 0.03;

    public Need {
        neighbours = List.copyOf(neighbours);
        if (!(mountHeightM >= 0) || !(clearanceM >= 0)) {
            throw new Refusal(Refused.HEIGHT_BELOW_0);
        }
    }

    /** What the mount stands on. Only sheet metal is a ground plane by itself. */
    public enum Material {
        METAL,
        COMPOSITE,
        FABRIC,
        TUBE_FRAME,
        PLASTIC,
        NONE
    }

    /**
     * @param material of the surface
     * @param lengthM forward; counts where it is metal
     * @param widthM across
     * @param alongM place of the mount from the surface's centre, forward
     * @param acrossM and to the left
     */
    public record Surface(Material material, double lengthM, double widthM, double alongM, double acrossM) {

        public static final Surface NONE = new Surface(Material.NONE, 0, 0, 0, 0);

        public Surface {
            boolean metal = material == Material.METAL;
            if (metal && (!(lengthM > 0) || !(widthM > 0))) {
                throw new Refusal(Refused.METAL_WITHOUT_SIZE);
            }
            if (metal && (Math.abs(alongM) > lengthM / 2 || Math.abs(acrossM) > widthM / 2)) {
                throw new Refusal(Refused.BESIDE_ITS_SURFACE);
            }
        }

        public static Surface metal(double lengthM, double widthM, double alongM, double acrossM) {
            return new Surface(Material.METAL, lengthM, widthM, alongM, acrossM);
        }

        public boolean isMetal() {
            return material == Material.METAL;
        }

        /** From the mount to the nearest edge of the metal; 0 without metal. */
        double leastReachM() {
            return isMetal() ? Math.min(lengthM / 2 - Math.abs(alongM), widthM / 2 - Math.abs(acrossM)) : 0;
        }
    }

    /** Size of an attic or room, in metres; 0 for the open. */
    public record Room(double lengthM, double heightM) {

        public static final Room OPEN = new Room(0, 0);

        public Room {
            if (!(lengthM >= 0) || !(heightM >= 0)) {
                throw new Refusal(Refused.ROOM_BELOW_0);
            }
        }
    }

    /**
     * A post, rack, rafter or other antenna near the mount, as a straight upright conductor.
     *
     * @param alongM from the mount, forward
     * @param acrossM from the mount, to the left
     * @param fromM its lower end above the mount; 0 on a metal surface: connected to it
     * @param toM its upper end above the mount
     * @param radiusM of a tube as thick
     */
    public record Neighbour(String name, double alongM, double acrossM, double fromM, double toM, double radiusM) {
        public Neighbour {
            if (!(toM > fromM) || !(radiusM > 0)) {
                throw new Refusal(Refused.NEIGHBOUR_WITHOUT_SIZE);
            }
            if (Math.hypot(alongM, acrossM) < NEAREST_M + radiusM) {
                throw new Refusal(Refused.NEIGHBOUR_TOUCHES.of(NEAREST_M));
            }
        }
    }

    /** In Hz, with the SWR that must not be exceeded in it. */
    public record Band(double lowHz, double highHz, double limitSwr) {

        public Band {
            if (!(lowHz > 0) || !(highHz > lowHz)) {
                throw new Refusal(Refused.BAND_WITHOUT_ENDS);
            }
            if (!(limitSwr > 1)) {
                throw new Refusal(Refused.LIMIT_NOT_ABOVE_1);
            }
        }

        public double middleHz() {
            return (lowHz + highHz) / 2;
        }

        /** Both ends of the band on a curve that was computed or swept, judged by its limit. */
        public List<ChannelVerdict> ends(Sweep sweep) {
            List<WantedChannel> ends =
                    List.of(new WantedChannel("low", lowHz, false), new WantedChannel("high", highHz, false));
            return new UnderLimit(limitSwr)
                    .judge(ChannelReading.of(new SweepAnalysis(sweep), ends), ReferencePlane.ANTENNA)
                    .channels();
        }
    }

    /** What is to be reached. */
    public enum Target {
        /** Stations all round, or a repeater wherever one drives: the horizon, mean over all directions. */
        ALL_ROUND,
        /** One station, in one direction: the horizon there. */
        ONE_STATION,
        /** Beyond the horizon by the ionosphere: 5° to 30° up, all round. */
        SKIP
    }

    public enum Polarisation {
        VERTICAL,
        HORIZONTAL
    }

    /** @param bearingDeg toward one station, from true north; not used for others */
    public record Aim(Target target, Polarisation polarisation, double bearingDeg) {
        public static final Aim LOCAL = new Aim(Target.ALL_ROUND, Polarisation.VERTICAL, 0);
    }

    /**
     * What is at hand; 0 where the usual will be bought.
     *
     * @param rodRadiusM of rods and tubes
     * @param wireRadiusM of wire
     * @param insulationM of that wire, thickness
     * @param holesM from hole to hole of a found boom
     */
    public record Stock(double rodRadiusM, double wireRadiusM, double insulationM, double holesM) {

        public static final Stock USUAL = new Stock(0, 0, 0, 0);

        public Stock {
            if (!(rodRadiusM >= 0) || !(wireRadiusM >= 0) || !(insulationM >= 0) || !(holesM >= 0)) {
                throw new Refusal(Refused.STOCK_BELOW_0);
            }
        }
    }

    public double waveM() {
        return Wavelength.ofHz(band.middleHz());
    }

    /** True where the surface is what the antenna works against. */
    public boolean standsOnSurface() {
        return carrier == Carrier.VEHICLE || carrier == Carrier.AIRCRAFT;
    }

    /** True where there is metal to stand on. */
    public boolean hasGroundPlane() {
        return standsOnSurface() && surface.isMetal();
    }
}
