-- Whether a sowing is worth it follows from its window alone; the threshold beside it never decided.
delete from farm_figure where sheet = 'season' and line = 'too_seldom';
