import '../styles';
import { ChoosingView } from '@/views/choosing/ChoosingView';
import { ALONE } from './pages';
import { standAlone } from './standAlone';

standAlone(ALONE.seats, <ChoosingView />);
