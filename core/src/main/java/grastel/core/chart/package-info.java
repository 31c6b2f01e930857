/**
 * The kit measures itself: a chart of a set is printed, coloured and read, and what its pencils, its paper and the hand that
 * filled it are is fitted to all of its boxes together. Start at {@link grastel.core.chart.ChartPlan} for what is printed and
 * {@link grastel.core.chart.ChartFit} for what it tells.
 *
 * <p>Terms: a <em>work</em> is what is done in a box; a <em>hand</em> is one person's filled copy of the chart.
 */
package grastel.core.chart;
