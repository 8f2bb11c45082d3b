import { Column, Columns } from '../../controls/Columns';
import { Errata } from '../../widgets/Errata';
import { OrderCard } from '../../widgets/order/OrderCard';
import { useReveal } from '../../widgets/order/useReveal';
import { Pieces } from '../../widgets/Pieces';
import { Fluids } from '../../widgets/Fluids';
import { Connections } from '../../widgets/wires/Connections';
import { RefitList } from './RefitList';
import { TorqueForm } from './TorqueForm';
import { TorqueList } from './TorqueList';

export default function RebuildView() {
  const [asked, reveal] = useReveal();
  return (
    <Columns share={[1, 1.15]}>
      <Column>
        <RefitList reveal={asked} />
        <OrderCard way="refit" onOpen={reveal} />
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
