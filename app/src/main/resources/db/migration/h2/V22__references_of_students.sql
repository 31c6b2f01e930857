-- A student may draw from a picture of their own: a project of a project, for one student.
alter table project add column of_project_id uuid references project (id) on delete cascade;
alter table project add column student_id uuid references student (id) on delete cascade;
alter table project add constraint project_of_student unique (of_project_id, student_id);
