export { CreateJarTestDto, JarTestDto, partnerKindIds } from './jar-test.dto.ts'
export { jarTestRoutes } from './jar-test.routes.ts'
