/**
 * What was drawn in a field: {@link grastel.core.reading.fields.FieldReader}; every figure is {@link
 * grastel.core.reading.fields.Measured} with its interval.
 */
package grastel.core.reading.fields;
