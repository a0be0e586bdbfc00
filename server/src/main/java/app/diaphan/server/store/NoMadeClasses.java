package app.diaphan.server.store;

import org.hibernate.boot.registry.StandardServiceRegistryBuilder;
import org.hibernate.bytecode.internal.none.BytecodeProviderImpl;
import org.hibernate.bytecode.spi.BytecodeProvider;
import org.hibernate.service.spi.ServiceContributor;

/**
 * Keeps Hibernate from making classes at every start, a tenth of its time: no entity stands for
 * another that is fetched later, so none needs them. Found by Hibernate as a service.
 */
public final class NoMadeClasses implements ServiceContributor {
  @Override
  public void contribute(StandardServiceRegistryBuilder services) {
    services.addService(BytecodeProvider.class, new BytecodeProviderImpl());
  }
}
