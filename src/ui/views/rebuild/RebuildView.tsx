import { Column, Columns } from '../../controls/Columns';
import { Errata } from '../../widgets/Errata';
import { Pieces } from '../../widgets/Pieces';
import { RefitList } from './RefitList';
import { TorqueForm } from './TorqueForm';
import { TorqueList } from './TorqueList';

export default function RebuildView() {
  return (
    <Columns share={[1, 1.15]}>
      <Column>
        <RefitList />
        <Pieces />
      </Column>
      <Column>
        <TorqueList />
        <TorqueForm />
        <Errata />
      </Column>
    </Columns>
  );
}
