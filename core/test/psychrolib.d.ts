declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem(system: number): void;
    GetStandardAtmPressure(altitudeM: number): number;
    GetSatVapPres(temperatureC: number): number;
  };
  export default psychrolib;
}
