import { Column, Columns } from '../../controls/Columns';
import { Errata } from '../../widgets/Errata';
import { Pieces } from '../../widgets/Pieces';
import { Fluids } from '../../widgets/Fluids';
import { Connections } from '../../widgets/wires/Connections';
import { RefitList } from './RefitList';
import { TorqueForm } from './TorqueForm';
import { TorqueList } from './TorqueList';

export default function RebuildView() {
  return (
    <Columns share={[1, 1.15]}>
      <Column>
        <RefitList />
        <Fluids />
        <Connections />
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
