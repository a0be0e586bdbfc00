-- Deliveries made before their side file's path was kept had it beside them under the name of then.
update delivery
set side_file = regexp_replace(path, '-(fill|key)\.(png|tif)$', '') || '.json'
where side_file is null
  and target like '%"sidecar":true%'
  and target like '%"fill-and-key"%';

update delivery
set side_file = regexp_replace(path, '\.(png|tif)$', '') || '.json'
where side_file is null
  and target like '%"sidecar":true%';
