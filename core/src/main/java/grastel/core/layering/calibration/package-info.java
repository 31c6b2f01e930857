/** Pencils and paper fitted to measured swatches: {@link grastel.core.layering.calibration.Calibration}. */
package grastel.core.layering.calibration;
