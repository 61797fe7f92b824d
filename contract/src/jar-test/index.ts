export { CreateJarTestDto, JarTestDto, partnerKindIds } from './jar-test.dto.ts'
