/** Of FHIR R4 as much as is written here. */
export interface Codeable {
  coding?: readonly { system: string; code: string; display?: string }[];
  text?: string;
}

export interface Resource {
  resourceType: 'Patient' | 'Condition' | 'Observation';
  [key: string]: unknown;
}

export interface Bundle {
  resourceType: 'Bundle';
  type: 'collection';
  entry: readonly { fullUrl?: string; resource: Resource }[];
}
