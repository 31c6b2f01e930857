/** What a colleague may do with a class that is shared: endpoints say so themselves, and whatever says nothing is closed. */
package grastel.app.platform.colleagues;
