/** Pages as PDF and SVG, and what the teacher keeps. */
package grastel.app.sheets.paper;
