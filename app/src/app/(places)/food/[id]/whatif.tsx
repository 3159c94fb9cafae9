export { WhatIfScreen as default } from '../../../../features/whatif/WhatIfScreen';
