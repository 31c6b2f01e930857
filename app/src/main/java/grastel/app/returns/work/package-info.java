/**
 * Reading in the background: {@link grastel.app.returns.work.ReadingWorkers} take waiting pages, {@link
 * grastel.app.returns.work.ReadingJob} reads one, {@link grastel.app.returns.work.PageSorting} puts pages back in the queue.
 */
package grastel.app.returns.work;
