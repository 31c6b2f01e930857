/** Steps of the database that need a program. */
package grastel.app.sheets.migrations;
