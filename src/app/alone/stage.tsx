import '../styles';
import { isDemo } from '@/views/frame/isDemo';
import Stage from '../(inside)/(shown)/c/[classId]/stage/page';
import { Providers } from '../(inside)/providers';
import { ALONE } from './pages';
import { standAlone } from './standAlone';

standAlone(
  ALONE.stage,
  <Providers demo={isDemo()}>
    <Stage />
  </Providers>,
);
