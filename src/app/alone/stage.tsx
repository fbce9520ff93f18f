import '../styles';
import Stage from '../(inside)/(shown)/c/[classId]/stage/page';
import { Providers } from '../(inside)/providers';
import { ALONE } from './pages';
import { isDemo, standAlone } from './standAlone';

standAlone(
  ALONE.stage,
  <Providers demo={isDemo()}>
    <Stage />
  </Providers>,
);
