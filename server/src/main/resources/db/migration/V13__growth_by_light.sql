-- Growth is worked out from light, warmth and ground cover: the old curve's figures say nothing any more.
delete from farm_figure where sheet = 'growth' and "column" in ('middle', 'spread', 'ceiling');
delete from farm_figure where sheet = 'cover' and line in
  ('curve_error', 'heat_up', 'fall_weight', 'fall_counts_to', 'seedling_share', 'seedling_middle', 'seedling_spread');
