-- Until when a page that is being read is somebody's: whoever reads says so again and again, and one that nobody holds any
-- more is read by another. By the database's clock.
alter table returned_page add column held_until timestamp(6) with time zone;
