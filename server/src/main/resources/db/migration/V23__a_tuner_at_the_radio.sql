-- Loss of a tuner at the radio; none where it is absent.
alter table plan_way add column tuner_loss_db double precision;
