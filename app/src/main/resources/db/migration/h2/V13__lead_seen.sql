-- When somebody looked how much lead is left: what was drawn since is taken off.

alter table pencil add column lead_seen_at timestamp(6) with time zone;
