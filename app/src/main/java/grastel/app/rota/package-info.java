/** Plans rotas with a constraint solver, which nothing else knows of. The interface is the core's. */
@ApplicationModule(allowedDependencies = {})
package grastel.app.rota;

import org.springframework.modulith.ApplicationModule;
