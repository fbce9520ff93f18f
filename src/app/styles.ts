import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/bricolage-grotesque';
import '@/views/theme/tokens.css';
import '@/views/theme/tones.css';
import '@/views/theme/forced.css';
import './global.css';
