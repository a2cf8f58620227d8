package kinesia.screening;

/** Examples of answers for the documentation of the interface; tests send each of them. */
final class ScreenExamples {
    static final String NOTHING_ASKED = """
            {"flags": {}, "readiness": {}, "pressure": {"readings": []}, "cautions": {}, "checks": [], "clearances": []}""";

    static final String STOP = """
            {"flags": {"FLAG-chest-pressure": {"present": true}}, "readiness": {}, "pressure": {"readings": []},
             "cautions": {}, "checks": [], "clearances": []}""";

    static final String SORE_ELBOW = """
            {"flags": {}, "readiness": {"regularlyActive": true, "knownDisease": false, "symptoms": false},
             "pressure": {"concern": false, "readings": []}, "cautions": {},
             "soreSites": [{"site": "BACK_OF_ELBOW", "side": "RIGHT", "usualPain": 2, "painAtRest": 0, "painInLightUse": 1,
               "worstThisWeek": 3, "morningPain": 2, "morningStiffness": 0, "settlesHours": 1, "provokedBy": ["deep-bending"],
               "flags": {"PLACE-night-pain": false, "PLACE-locking": false, "PLACE-operation": false,
                 "PLACE-injection": false, "PLACE-worse": false}}],
             "checks": [{"check": "elbow-bend", "side": "RIGHT", "value": 120, "arcFromDeg": 95, "arcToDeg": 120},
               {"check": "elbow-bend", "side": "LEFT", "value": 142}],
             "clearances": []}""";

    private ScreenExamples() {}
}
