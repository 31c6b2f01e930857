-- Sheets printed as a card with windows and a label for each student.

alter table print_run add column card boolean default false not null;
