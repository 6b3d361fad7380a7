package dorada.core.calibration;

/** A calibration that cannot be made or used as asked. The message is a sentence for the person at the instrument. */
public final class CalibrationException extends RuntimeException {

    public CalibrationException(String sentence) {
        super(sentence);
    }
}
