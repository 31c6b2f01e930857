package grastel.app.stored;

import grastel.core.colour.Spectrum;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/** A spectrum as the list of its reflectances. */
final class SpectrumJson {
    private SpectrumJson() {}

    static SimpleModule module() {
        return new SimpleModule("spectra")
                .addSerializer(Spectrum.class, new Writer())
                .addDeserializer(Spectrum.class, new Reader());
    }

    private static final class Writer extends StdSerializer<Spectrum> {
        Writer() {
            super(Spectrum.class);
        }

        @Override
        public void serialize(Spectrum spectrum, JsonGenerator out, SerializationContext context) {
            out.writeArray(spectrum.toArray(), 0, Spectrum.SAMPLES);
        }
    }

    private static final class Reader extends StdDeserializer<Spectrum> {
        Reader() {
            super(Spectrum.class);
        }

        @Override
        public Spectrum deserialize(JsonParser in, DeserializationContext context) {
            return Spectrum.of(context.readValue(in, double[].class));
        }
    }
}
