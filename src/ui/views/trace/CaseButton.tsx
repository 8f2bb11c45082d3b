import Button from '@mui/material/Button';
import { saveFile } from '../../job/saveFile';
import { useJob } from '../../job/useJob';

/** The case as an open file, for ./ivrek trace and for reporting a ranking that is wrong. Made here, without a network. */
export function CaseButton() {
  const { traced } = useJob();
  const save = async () => {
    const [{ stringify }, { caseFileOf }] = await Promise.all([import('yaml'), import('../../../core/trace/file')]);
    saveFile(`case-${traced.job.id.slice(0, 8)}.yaml`, 'application/yaml', stringify(caseFileOf(traced), { flowCollectionPadding: false }));
  };
  return (
    <Button variant="text" onClick={() => void save()}>
      Save as a case file
    </Button>
  );
}
