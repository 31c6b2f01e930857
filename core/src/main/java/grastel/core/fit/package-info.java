/** Least squares, with priors ({@link grastel.core.fit.LeastSquares}), and planes ({@link grastel.core.fit.Slope}). */
package grastel.core.fit;
