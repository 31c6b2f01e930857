package grastel.app.chart;

import grastel.app.sheets.api.TakenCodes;
import org.springframework.stereotype.Component;

/** The codes of charts, of any teacher. */
@Component
class ChartCodes implements TakenCodes {
    private final ChartRows charts;

    ChartCodes(ChartRows charts) {
        this.charts = charts;
    }

    @Override
    public boolean isTaken(String code) {
        return charts.existsByCode(code);
    }
}
