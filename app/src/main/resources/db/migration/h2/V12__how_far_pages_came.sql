-- How far a student came on a page tells the pace of the class.

alter table returned_page add column furthest varchar(40);
