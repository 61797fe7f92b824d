export { MeterQueryDto, MeterReadingDto, meterSamples } from './meter.dto.ts'
export type { MeterQuestion, MeterSample, MeterService } from './meter.dto.ts'
