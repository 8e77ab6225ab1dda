declare module 'plotly.js-cartesian-dist-min' {
  import Plotly from 'plotly.js';
  export default Plotly;
}
