export * from './ofRatio';
export * from './expected';
export * from './leakDown';
export * from './verdict';
